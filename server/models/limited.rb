# frozen_string_literal: true

module Server
  module Models
    # What there may be no more of than a file of the bench holds: more could not be read in again. It is counted at the moment at which
    # one is added or put back, while nobody else adds one to the same.
    #
    # @example
    #   holds_at_most 400, owner: :project, called: "units"
    module Limited
      # @param most [Integer]
      # @param owner [Symbol] what they belong to
      # @param called [String] what they are called
      # @return [void]
      def holds_at_most(most, owner:, called:)
        before_save do
          if Limited.comes?(self)
            parent = public_send(owner)
            parent.class.lock.find(parent.id)
            Limited.refuse(most, owner, called) if Limited.beside(self, owner).count >= most
          end
        end
      end

      class << self
        # @param record [ActiveRecord::Base]
        # @return [Boolean] whether it is new, or put back
        def comes?(record)
          record.new_record? || (record.has_attribute?(:removed_at) && record.removed_at_changed? && record.removed_at.nil?)
        end

        # @return [ActiveRecord::Relation] those that are there already
        def beside(record, owner)
          all = record.class.unscoped.where("#{owner}_id" => record.public_send("#{owner}_id"))
          record.has_attribute?(:removed_at) ? all.where(removed_at: nil) : all
        end

        # @raise [Problem]
        def refuse(most, owner, called)
          holder = { project: "A project", maker: "A bench" }.fetch(owner)
          raise Problem.new(422, "#{holder} holds at most #{most} #{called}: remove some that are not needed any more first.")
        end
      end
    end
  end
end
