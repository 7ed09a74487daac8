# frozen_string_literal: true

module Server
  module Resources
    # The maker: what is known of her hands, her choices, and what she sets store by. Her profile goes
    # through the core, so that none is stored which it could not read.
    class Makers < Base
      get "/api/maker" do
        answer maker.to_document
      end

      patch "/api/maker" do
        version, changes = read(required: %w[lock_version], optional: %w[profile priorities places]) { |keys| [keys.version, fields(keys)] }
        save_over(maker, version) { |one| one.update!(changes) }
        answer maker.to_document
      end

      # What tests of her own would teach; nothing is stored.
      post "/api/maker/learn" do
        answer OakenGauge.learn({ "maker" => maker.profile, "tools" => maker.drawer, **object(document) })
      end

      # Who works at this bench: each has her own tools, fabric, blocks, projects and hands.
      get "/api/makers" do
        answer({ "makers" => makers.reorder(:demo, :id).map(&:to_row) })
      end

      post "/api/makers" do
        name = read(required: %w[name]) { |keys| keys.value("name") }
        answer makers.one_more { makers.create!(name: name) }.to_row, status: 201
      end

      patch "/api/makers/:id" do
        version, name = read(required: %w[lock_version name]) { |keys| [keys.version, keys.value("name")] }
        changed(makers.find(params["id"]), version) { |one| one.update!(name: name) }
      end

      delete "/api/makers/:id" do
        changed(makers.find(params["id"]), Integer(params.fetch("lock_version"))) do |one|
          raise Problem.new(422, "She is the last one here: add another maker first.") if makers.lock.pluck(:id) == [one.id]

          one.all_projects.update_all(link_digest: nil)
          one.update!(removed_at: Time.now)
        end
      end

      post "/api/makers/:id/back" do
        version = read(required: %w[lock_version], &:version)
        changed(Models::Maker.whoever.find(params["id"]), version) { |one| makers.one_more { one.update!(removed_at: nil) } }
      end

      private

      def makers
        Models::Maker.here
      end

      # Who clashes is told as she stands in the list.
      def changed(maker, version, &)
        save_over(maker, version, &)
        answer maker.to_row
      rescue Problem => e
        raise e.status == 409 ? Problem.new(409, e.message, current: Models::Maker.whoever.find(maker.id).to_row) : e
      end

      def fields(keys)
        { profile: keys.document("profile", :maker),
          priorities: keys.document("priorities"), **places(keys) }.compact.merge(keys.none?("places") ? { places: nil } : {})
      end

      def places(keys)
        { places: keys.value("places")&.map(&:to_document) }
      end
    end
  end
end
